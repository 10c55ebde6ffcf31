import { Navigate, type RouteObject } from 'react-router';
import { ChoosePage } from '../choose/ChoosePage';
import { CutPage } from '../cut/CutPage';
import { CutterTab } from '../cut/CutterTab';
import { PrintTab } from '../cut/PrintTab';
import { SheetsTab } from '../cut/SheetsTab';
import { GatherPage } from '../gather/GatherPage';
import { LayOutPage } from '../lay-out/LayOutPage';
import { PhotosPage } from '../photos/PhotosPage';
import { PiecesPage } from '../pieces/PiecesPage';
import { ChangeDesignPage, NewDesignPage } from '../shelf/DesignForm';
import { DesignPage } from '../shelf/DesignPage';
import { ListsPage } from '../shelf/ListsPage';
import { NewPotPage } from '../shelf/PotForm';
import { PotPage } from '../shelf/PotPage';
import { ShelfPage } from '../shelf/ShelfPage';
import { SupplierPage } from '../shelf/SupplierPage';
import { StandingPage } from '../standing/StandingPage';
import { SumsPage } from '../sums/SumsPage';
import { SurveyPage } from '../survey/SurveyPage';
import { Frame, PieceFrame } from './Frame';
import { NotHere } from './NotHere';

/** Every face, lay, design and pot has an address of its own. */
export const routes: RouteObject[] = [
  {
    element: <Frame />,
    children: [
      { path: '/', element: <PiecesPage /> },
      { path: '/sums', element: <SumsPage /> },
      { path: '/shelf', element: <ShelfPage /> },
      { path: '/shelf/designs/new', element: <NewDesignPage /> },
      { path: '/shelf/designs/:designId', element: <DesignPage /> },
      { path: '/shelf/designs/:designId/change', element: <ChangeDesignPage /> },
      { path: '/shelf/pots/new', element: <NewPotPage /> },
      { path: '/shelf/pots/:holdingId', element: <PotPage /> },
      { path: '/shelf/lists', element: <ListsPage /> },
      { path: '/shelf/supplier', element: <SupplierPage /> },
      { path: '*', element: <NotHere /> },
    ],
  },
  {
    path: '/pieces/:pieceId',
    element: <PieceFrame />,
    children: [
      { index: true, element: <Navigate to="survey" replace /> },
      { path: 'survey/:faceId?', element: <SurveyPage /> },
      { path: 'standing', element: <StandingPage /> },
      { path: 'photos', element: <PhotosPage /> },
      { path: 'choose/:faceId?', element: <ChoosePage /> },
      { path: 'lay-out/:faceId?/:layId?', element: <LayOutPage /> },
      {
        path: 'cut',
        element: <CutPage />,
        children: [
          { index: true, element: <SheetsTab /> },
          { path: 'print', element: <PrintTab /> },
          { path: 'cutter/:layId?', element: <CutterTab /> },
        ],
      },
      { path: 'gather', element: <GatherPage /> },
      { path: '*', element: <NotHere /> },
    ],
  },
];
